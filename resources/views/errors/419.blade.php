<x-refusal title="Signed out" words="The page was open for too long. Sign in again; what was saved is saved."/>
