<div class="together"><h2 class="next">8 · What was asked and answered</h2>
@if ($content->answers->isEmpty())
<p>Nothing.</p>
@else
<table><tr><th style="width: 48%">Question</th><th>Answer</th><th>By</th></tr>
@foreach ($content->answers as $question)
<tr><td>{{ $question->text }}</td><td>{{ $question->answer }}</td>
    <td>{{ $question->owner }}, {{ $question->answered_at->onSite()->format('j M Y') }}</td></tr>
@endforeach
</table>
@endif
</div>
