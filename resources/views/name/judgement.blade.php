@foreach ($judgement->refusals as $refusal)
<p class="note danger">{{ $refusal }}</p>
@endforeach
@foreach ($judgement->warnings as $warning)
<p class="note">{{ $warning }}</p>
@endforeach
<table class="breakdown">
    <caption class="visually-hidden">What the name becomes elsewhere</caption>
    <tbody>
        <tr><td>Id for programs</td><td class="!whitespace-normal break-all">{{ $judgement->name->slug ?: 'nothing' }}</td></tr>
        @foreach ($judgement->labels($device) as $label)
        <tr><td>{{ $label['title'] }}, {{ $label['bytes'] }} bytes</td>
            <td class="!whitespace-normal">{{ $label['text'] ?? 'nothing fits' }}</td></tr>
        @endforeach
        @foreach ($forms as $form)
        <tr><td>{{ Str::ucfirst($form->platform->id) }}{{ $form->platform->maxLength === null ? ''
            : ", {$form->platform->maxLength} characters" }}</td>
            <td class="!whitespace-normal">{{ $form->text ?? 'nothing fits' }}</td></tr>
        @endforeach
    </tbody>
</table>
