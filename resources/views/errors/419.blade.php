<x-trouble title="Signed out in the meantime" what="You were away too long, so the page was not accepted."
    safe="Everything that was kept before is safe; the last answer was not kept." todo="Sign in and give the last answer again." />
