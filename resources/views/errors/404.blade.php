<x-trouble title="Not here" what="There is no such page, check or family." safe="Nothing was changed."
    todo="Go back, or begin again from the event." />
