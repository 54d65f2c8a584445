<x-refusal title="That did not work" words="Nothing was saved. Go back, and use the page."/>
