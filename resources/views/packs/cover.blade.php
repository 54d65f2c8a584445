@php($company = $content->company)
<h1>{{ $job->name }}</h1><div class="bar"></div>
<p style="font-size: 13pt">Handover pack {{ $pack->number }}, {{ $pack->asked_at->onSite()->format('j F Y') }}</p>
<p>For {{ $job->client_name }}<br>{{ $job->address }}</p>
<p>By {{ $company->name }}@if ($pack->user)<br>{{ $pack->user->name }}, {{ $pack->user->email }}@endif
@if ($company->phone)<br>Telephone {{ $company->phone }}@endif
@if ($company->email)<br>{{ $company->email }}@endif</p>
<p class="quiet" style="margin-top: 8mm">These pages hold no code and no key. The SHA-256 of this file stands beside it in Kavvel and in
    the logbook.</p>
<div class="box">Mains work is for people licensed for it. A smoke alarm sounds by itself and is never only a smart-home device.
Local code and the makers’ sheets come first.</div>
<table style="margin-top: 8mm"><tr><th>In this pack</th></tr>
@foreach (['Register of devices, room by room, with what was shown of each', 'Radio links and plans', 'What not to unplug',
    'What stops without what', 'Batteries', 'Open points', 'What was asked and answered', 'Signatures',
    'For the next technician: addresses, firmware and what each box shows'] as $title)
<tr><td>{{ $loop->iteration }} · {{ $title }}</td></tr>
@endforeach
</table>
