<x-trouble title="Something broke here" what="The fault is on our side."
    safe="Every answer that was kept is safe; the last one may not have been."
    todo="Go back and look whether the last answer is there. If this comes again, tell the coordinator the time." />
