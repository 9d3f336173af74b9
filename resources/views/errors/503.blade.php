<x-trouble code="503" />
