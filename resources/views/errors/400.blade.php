<x-trouble code="400" />
