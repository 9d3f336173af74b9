<x-trouble code="404" />
