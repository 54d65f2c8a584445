<x-refusal title="Away for a moment" words="Kavvel could not answer. Try again in a minute; what was confirmed as saved is saved."/>
