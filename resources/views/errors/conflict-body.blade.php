<p class="note danger"><strong>{{ $conflict->getMessage() }}</strong> Nothing of yours was saved.</p>
<table class="breakdown"><thead><tr><th class="text-left">What</th><th class="text-left">Theirs, saved</th><th class="text-left">Yours</th>
    </tr></thead><tbody>
    @foreach ($conflict->differences as $label => $pair)<tr><td>{{ $label }}</td>
        <td class="!text-left !font-sans !whitespace-normal">{{ $pair['theirs'] }}</td>
            <td class="!text-left !font-sans !whitespace-normal">{{ $pair['yours'] }}</td></tr>@endforeach
</tbody></table>
<a class="btn" href="{{ $conflict->back }}">Load theirs, then change it again</a>
