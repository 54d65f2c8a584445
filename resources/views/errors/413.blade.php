<x-refusal title="That is too large" words="Kavvel takes files of up to 20 MB. Nothing was saved. Go back, and choose a smaller one."/>
