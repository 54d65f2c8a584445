<x-refusal title="Not here" words="There is nothing at this address, or it is not yours."/>
