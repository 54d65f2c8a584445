<x-refusal title="Others write here too" words="Nothing was saved this time. Go back, and send it again."/>
