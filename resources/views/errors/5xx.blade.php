<x-trouble code="500" />
