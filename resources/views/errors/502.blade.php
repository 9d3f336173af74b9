<x-trouble code="502" />
