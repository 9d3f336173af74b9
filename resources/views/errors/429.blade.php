<x-trouble title="Too many tries" what="There were too many tries with a password." safe="Nothing was changed."
    todo="Wait a minute, then try again." />
