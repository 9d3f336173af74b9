<x-trouble code="403" />
