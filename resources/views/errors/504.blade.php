<x-trouble code="504" />
