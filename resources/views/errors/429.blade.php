<x-trouble title="Too many tries" what="There were too many tries to sign in." safe="Nothing was changed." todo="Wait a minute, then try again." />
