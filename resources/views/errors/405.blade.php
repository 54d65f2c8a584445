<x-refusal title="Not this way" words="This address does not take what was sent. Go back, and use the page."/>
