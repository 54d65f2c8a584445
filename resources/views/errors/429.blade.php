<x-refusal title="Too many tries" words="Wait a minute, then try again."/>
