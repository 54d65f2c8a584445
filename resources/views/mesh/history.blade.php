@use('Kavvel\Core\Radio\Margin')
@php($when = fn ($at): string => (string) $at?->onSite()->isoFormat('D MMM, HH:mm'))
<div>
    <h3>Since the reading before</h3>
    <dl class="evidence">
        @foreach ([$history->before, $history->now] as $one)
        <div><dt>{{ $when($one->ended_at) }}</dt><dd>{{ $one->lost }} lost</dd><dd>{{ $one->thin }} thin</dd></div>
        @endforeach
    </dl>
    <ul class="rows">
        @include('mesh.changes', ['changes' => $history->changes, 'now' => 'now'])
        @foreach ($history->drifts as ['drift' => $drift, 'since' => $since])
        <li><span>{{ Str::ucfirst($title($drift->a)) }} – {{ $title($drift->b) }}
                <span class="quiet">since {{ $when($since) }}</span></span>
            <span class="end measure is-worse">{{ Margin::text($drift->fromDb) }}, now {{
                $drift->nowDb === null ? 'gone' : Margin::text($drift->nowDb) }}</span></li>
        @endforeach
        @if ($history->changes === [] && $history->drifts === [])
        <li>Nothing that matters has changed.</li>
        @endif
    </ul>
</div>
