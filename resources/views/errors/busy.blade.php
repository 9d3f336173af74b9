<x-trouble code="busy" />
