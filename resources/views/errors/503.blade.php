<x-trouble title="Closed for a moment" what="Mint Buckle is being set up anew." safe="Everything that was kept is safe."
    todo="Try again in a minute." />
