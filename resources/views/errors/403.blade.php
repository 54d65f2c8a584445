@use('Illuminate\Auth\Access\AuthorizationException')
@php($why = $exception->getPrevious())
@php($refusal = $why instanceof AuthorizationException ? $why->response() : null)
<x-refusal title="Not allowed" :words="$refusal?->message() ?? 'Your role does not include this. Ask a lead.'"/>
