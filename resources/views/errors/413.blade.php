<x-trouble code="413" />
