@php($done = collect($tests)->keyBy('what'))
<div>
    <h3>Tests that local rules ask for, {{ $when }}</h3>
    <ul class="rows">
        @foreach ($all as $what)
        @php($test = $done->get($what))
        <li><span>{{ Str::ucfirst($what) }}</span><span class="end">{{ $test === null ? 'not recorded'
            : "{$test->reading}, ".($test->isPassed ? 'passed' : 'failed') }}</span></li>
        @endforeach
    </ul>
    <details id="test-{{ Str::slug($when) }}"><summary>Record one</summary>
    <x-form :action="$act()">
        <input type="hidden" name="act" value="test"><input type="hidden" name="slot" value="{{ $key }}">
        <label class="field"><span>Test</span><select name="test">
            @foreach ($all as $what)
            <option value="{{ $what }}">{{ Str::ucfirst($what) }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>What the tester showed</span><input name="reading" maxlength="60" required></label>
        <div class="pair">
            <button class="btn" name="is_passed" value="1">Passed</button>
            <button class="btn" name="is_passed" value="0">Failed</button>
        </div>
    </x-form></details>
</div>
