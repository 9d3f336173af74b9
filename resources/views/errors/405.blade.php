<x-trouble code="405" />
