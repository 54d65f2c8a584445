@use('Kavvel\Core\Replacing\ReplaceReason')
@php($redo = $open->redo)
@if ($redo?->before !== null)
<section aria-labelledby="redo">
    <h3 id="redo">Its device was replaced, {{ $redo->open() }} of {{ count($redo->all) }} still to do</h3>
    <p class="quiet">{{ $redo->before->address }} until {{ $redo->before->until->onSite()->isoFormat('D MMM, HH:mm') }}:
        {{ $redo->before->because }}. Name, room, settings and rules stayed.</p>
    @include('slots.redo')
</section>
@elseif ($mayWork && $redo !== null && $card->node !== null)
<details id="replace"><summary>Replace its device</summary>
    <p class="quiet">Its name, room, place on the plan, planned settings, wants and rules stay with the slot{{ $card->isBehindBridge()
        ? '; take the old one out at the bridge that it stands behind' : ', and the hub forgets the old one' }}. To be done again:</p>
    @include('slots.redo')
    @if ($open->hangingOn > 0)
    <p class="note">{{ $open->hangingOn === 1 ? 'One device reaches' : $open->hangingOn.' devices reach' }} the hub through it: they look
        for another way meanwhile.</p>
    @endif
    @if ($card->profile->caution !== '')
    <p class="note">{{ $card->profile->caution }}</p>
    @endif
    <x-form :action="route('jobs.slots.replacement.store', [$job, $slot])" class="replace">
        <label class="field"><span>Why</span>
            <select name="reason" required><option value="">say why</option>
                @foreach (ReplaceReason::cases() as $reason)
                <option value="{{ $reason->value }}">{{ Str::ucfirst($reason->words()) }}</option>
                @endforeach
            </select></label>
        @if ($open->models !== [])
        <label class="field"><span>By</span>
            <select name="profile" hx-get="{{ route('jobs.slots.replacement.show', [$job, $slot]) }}" hx-trigger="change"
                hx-target="#other-model" hx-select="unset" hx-swap="innerHTML" hx-push-url="false">
                <option value="">one like it, {{ $card->profile->model }}</option>
                @foreach ($open->models as $key => $model)
                <option value="{{ $key }}">{{ $model }}</option>
                @endforeach
            </select></label>
        <div id="other-model" aria-live="polite"></div>
        @endif
        <button class="btn">Replace it</button>
    </x-form>
</details>
@endif
