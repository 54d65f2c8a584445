<x-refusal title="Away for a moment" words="Kavvel is being looked after. Try again in a minute."/>
