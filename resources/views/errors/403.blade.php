<x-trouble title="Not yours to open" what="You are signed in, but this is not for you to open." safe="Nothing was changed."
    todo="Ask the coordinator." />
