<x-refusal title="Away for a moment" :words="$words.' What was confirmed as saved is saved.'"/>
