<x-trouble code="414" />
