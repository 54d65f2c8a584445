<x-refusal title="Something broke" words="Nothing was saved. Go back and try again; if it breaks again, tell a lead what you did."/>
