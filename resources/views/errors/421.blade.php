<x-refusal title="Not at this address" words="What answers here is known by another name."/>
