@use('Kavvel\Core\Bridging\ActKind')
<x-form :action="route('jobs.link-acts.store', $job)">
    <input type="hidden" name="link" value="{{ $link->key() }}"><input type="hidden" name="number" value="{{ $number }}">
    @if ($act->kind === ActKind::SignIn)
    <label class="field"><span>Who signed in</span><input name="said" maxlength="120" value="{{ old('said', $client) }}" required></label>
    @elseif ($act->kind === ActKind::Window)
    <label class="field"><span>Its code, if you want it shown here</span>
        <input name="said" maxlength="120" autocomplete="off" spellcheck="false" value="{{ old('said') }}"></label>
    @elseif ($act->kind === ActKind::Count)
    <label class="field"><span>How many appeared, of {{ count($exported) }}</span>
        <input name="said" inputmode="numeric" maxlength="4" value="{{ old('said') }}" required></label>
    @endif
    @if ($id === 'big')
    <div class="thumb"><button class="{{ $class }}" id="big" data-move="act-{{ $link->key() }}-{{ $number }}" data-key="n">{{
        $words }}</button></div>
    @else
    <button class="{{ $class }}">{{ $words }}</button>
    @endif
</x-form>
