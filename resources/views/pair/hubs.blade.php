@use('Kavvel\Core\Pairing\HubCheck')
@php($mayWork = $bench->mayWork())
<div id="pair-hubs" data-keeps-scroll tabindex="0" role="group" aria-label="Hubs" class="fit-middle">
@forelse ($hubs as ['hub' => $hub, 'sheet' => $hubSheet, 'checks' => $checks, 'speaks' => $speaks, 'hasSecret' => $hasSecret])
<section aria-labelledby="hub-{{ $hub->key() }}">
    <h2 class="text-xl font-bold" id="hub-{{ $hub->key() }}">{{ $hub->gateway->name }}</h2>
    <p class="quiet">{{ $speaks }}
        {{ $hub->isLinked() ? 'Kavvel follows it over its link.' : 'It has no link: what is done there is written down.' }}
        {{ $hubSheet->open() === [] ? 'All of it is settled.' : count($hubSheet->open()).' open'
            .($hubSheet->comesFirst() ? ', before its first device.' : '.') }}</p>
    <ol class="rows steps hub-sheet">
        @foreach (HubCheck::cases() as $item)
        @php($check = $checks[$item->value] ?? null)
        @php($isSettled = $hubSheet->isSettled($item))
        <li class="{{ $isSettled ? 'is-done' : '' }}">
            <span class="n">{{ $loop->iteration }}</span>
            <div class="hub-what"><strong>{{ $item->title() }}</strong>
                <span class="quiet">{{ match (true) {
                    $check?->is_waived => 'Waived by '.$check->by.': '.$check->note,
                    $check !== null => trim($check->note.' ('.$check->by.', '.$check->at->onSite()->format('j M, H:i').')'),
                    $isSettled => 'It answers.',
                    default => $item->why(),
                } }}</span></div>
            @if ($mayWork && $item === HubCheck::Access && $hasSecret)
            <x-form :action="route('jobs.hubs.secret.show', [$job, $hub->key()])" to="#drawer">
                <button class="btn small plain" aria-label="Show the password of {{ $hub->gateway->name }}">Show it</button>
            </x-form>
            @endif
            @if ($mayWork && $check !== null)
            <x-form :action="route('jobs.hubs.checks.destroy', [$job, $hub->key(), $item->value])" method="delete">
                <button class="btn small plain" aria-label="Open again: {{ $item->title() }}">Open again</button>
            </x-form>
            @elseif ($mayWork && ! $isSettled)
            <details class="hub-entry" @if ($item === $hubSheet->open()[0]) open @endif><summary>Settle it</summary>
            <x-form :action="route('jobs.hubs.checks.update', [$job, $hub->key(), $item->value])" method="put">
                <label class="field"><span>{{ $item->asksFor() ?? 'Remark, or why it is waived' }}</span>
                    <input name="note" maxlength="190"></label>
                @if ($item === HubCheck::Network)
                <fieldset class="hub-facts"><legend class="visually-hidden">The Wi-Fi for devices</legend>
                    @foreach (['band24' => '2.4', 'band5' => '5'] as $field => $band)
                    <label class="tick"><input type="checkbox" name="{{ $field }}" value="1"><span>{{ $band }} GHz</span></label>
                    @endforeach
                    <label class="field"><span>Security</span><select name="security"><option value="">not looked</option>
                        <option value="wpa2">WPA2</option><option value="wpa2-wpa3">WPA2 and WPA3</option><option value="wpa3">WPA3</option>
                    </select></label>
                    @foreach (['hidden' => 'Its name is hidden', 'oneSegment' => 'Hub and devices in one segment',
                        'tunnel' => 'A tunnel is on'] as $fact => $words)
                    <label class="field"><span>{{ $words }}</span><select name="{{ $fact }}"><option value="">not looked</option>
                        <option value="yes">yes</option><option value="no">no</option></select></label>
                    @endforeach
                </fieldset>
                @endif
                @if ($item === HubCheck::Access)
                <label class="field"><span>Its password, kept encrypted</span>
                    <input name="secret" maxlength="512" autocomplete="off" spellcheck="false"></label>
                @endif
                <div class="pair"><button class="btn">Done</button><button class="btn plain" name="waive" value="1">Waive it</button></div>
            </x-form>
            </details>
            @endif
        </li>
        @endforeach
    </ol>
</section>
@empty
<p class="quiet">No hub stands on the plan yet.</p>
@endforelse
</div>
