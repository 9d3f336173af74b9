<x-trouble code="429" />
