<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $job->name }}, pack {{ $pack->number }}</title>
@include('packs.style')
</head><body>
@include('packs.cover')
@include('packs.register')
@include('packs.links')
<div class="page">
@include('packs.keep-on')
@include('packs.outages')
@include('packs.elsewhere')
@include('packs.batteries')
@include('packs.open')
@include('packs.answers')
@include('packs.signatures')
</div>
@include('packs.technician')
@include('packs.exports')
@include('packs.crossings')
</body></html>
