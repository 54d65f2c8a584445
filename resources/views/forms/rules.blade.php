@use('Kavvel\Core\Pairing\PairingOrder')
@php($order = PairingOrder::from($job->school))
<x-form-page title="Change the rules of this job" :job="$job">
<x-form :action="route('jobs.rules.update', $job)" method="put">
    <input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
    <label class="field"><span>A link is accepted from, dB</span>
        <input name="acceptance_db" value="{{ $job->acceptance_db }}" inputmode="decimal" required></label>
    <div class="two">
        <label class="field"><span>Clutter, dB</span>
            <input name="clutter_constant_db" value="{{ $job->clutter_constant_db }}" inputmode="decimal" required></label>
        <label class="field"><span>and for each metre</span>
            <input name="clutter_db_per_metre" value="{{ $job->clutter_db_per_metre }}" inputmode="decimal" required></label>
    </div>
    <label class="field"><span>Order of work</span><select name="school">
        @foreach (PairingOrder::cases() as $one)
        <option value="{{ $one->value }}" @selected($one === $order)>{{ $one->words() }}</option>
        @endforeach
    </select></label>
    <p class="quiet">{{ $order->why() }}</p>
    <label class="field"><span>In one window</span><select name="batch">
        @foreach ([1 => 'one device at a time', 2 => 'two unlike devices', 3 => 'three unlike devices'] as $many => $words)
        <option value="{{ $many }}" @selected($job->batch === $many)>{{ $words }}</option>
        @endforeach
    </select></label>
    <label class="field"><span>Names: {room} {place} {what} {n}</span>
        <input name="name_pattern" value="{{ $job->name_pattern }}" maxlength="120" required></label>
    <button class="btn">Save the rules</button>
</x-form>
</x-form-page>
