<div class="code-step">
    <p><strong>The hub asks for its PIN</strong><br>
        The five digits that the key on its sticker begins with. The device shows the rest:</p>
    <p class="measure !whitespace-normal">{!! str_replace('-', '-<wbr>', e("?????-{$attempt->asked_dsk}")) !!}</p>
    @if ($attempt->pin_refused !== null)
    <p class="note danger" role="status">The hub did not take it. {{ $attempt->pin_refused }}</p>
    @endif
    @if ($mayWork)
    @if ($isPinKnown)
    <x-form :action="route('jobs.attempts.pin.store', [$job, $attempt->id])">
        <input type="hidden" name="known" value="1">
        <div class="thumb"><button class="big" id="big" data-move="pin-{{ $attempt->id }}"
            data-key="n">Take the code that was scanned</button></div>
    </x-form>
    @endif
    <x-form :action="route('jobs.attempts.pin.store', [$job, $attempt->id])">
        <label class="field" for="pin"><span>PIN</span>
            <input id="pin" class="measure" name="pin" inputmode="numeric" maxlength="12" autocomplete="off" required></label>
        @if (! $isPinKnown)
        <div class="thumb"><button class="big" id="big" data-move="pin-{{ $attempt->id }}" data-key="n">Give the PIN</button></div>
        @else
        <button class="btn">Give this one instead</button>
        @endif
    </x-form>
    @endif
</div>
