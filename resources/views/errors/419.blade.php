<x-trouble code="419" />
