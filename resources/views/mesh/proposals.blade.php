@use('Kavvel\Core\Mesh\Verdict')
<div>
    <h3>Proposals</h3>
    <table class="register proposals"><caption class="visually-hidden">Proposals beside each other</caption>
        <thead><tr><td></td>
            <th scope="col">Now</th>
            @foreach ($proposals as $one)
            <th scope="col">{{ $one->letter }}</th>
            @endforeach
        </tr></thead>
        <tbody>
            @foreach ([Verdict::Accepted, Verdict::Thin, Verdict::Lost] as $verdict)
            <tr><th scope="row">{{ Str::ucfirst($verdict->value) }}</th><td>{{ $tried->now->count($verdict) }}</td>
                @foreach ($proposals as $one)
                <td>{{ $one->tried->count($verdict) }}</td>
                @endforeach
            </tr>
            @endforeach
            <tr><th scope="row">Cost</th><td>–</td>
                @foreach ($proposals as $one)
                <td>{{ number_format($one->cost->cost) }}</td>
                @endforeach
            </tr>
            <tr><th scope="row">Minutes</th><td>–</td>
                @foreach ($proposals as $one)
                <td>{{ $one->cost->minutes }}</td>
                @endforeach
            </tr>
        </tbody>
    </table>
    <ul class="rows">
        @foreach ($proposals as $one)
        <li class="proposal"><span><strong>{{ $one->letter }}</strong>
                {{ implode(', ', array_map($say, $one->tried->changes)) ?: 'nothing any more' }}
                <span class="quiet">· {{ $one->kept->by }}</span></span>
            @if ($one->isOutdated())
            <span class="quiet">Something of it can be done no more: try it anew.</span>
            @endif
            <div class="deeds">
                <a class="btn small" href="{{ $link($one->kept->changes) }}" aria-label="Show {{ $one->letter }}">Show it</a>
                @if ($bench->mayWork())
                @if (! $one->isOutdated() && $one->isWork())
                <x-form :action="route('jobs.mesh-proposals.work.store', [$job, $one->kept])">
                    <button class="btn small" aria-label="Make {{ $one->letter }} work">Make it work</button></x-form>
                @endif
                <x-form :action="route('jobs.mesh-proposals.destroy', [$job, $one->kept])" method="delete">
                    <button class="btn small plain" aria-label="Drop {{ $one->letter }}">Drop it</button></x-form>
                @endif
            </div>
        </li>
        @endforeach
    </ul>
</div>
