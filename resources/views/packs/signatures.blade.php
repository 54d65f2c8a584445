<div class="together"><h2 class="next">9 · Signatures</h2>
<table class="sign"><tr><td style="width: 48%"></td><td style="border: 0; width: 4%"></td><td></td></tr></table>
<table><tr><td style="width: 52%; border: 0">{{ $job->client_name }}, client · date</td>
<td style="border: 0">{{ $pack->user?->name ?? 'Lead' }}, for {{ $content->company->name }} · date</td></tr></table></div>
