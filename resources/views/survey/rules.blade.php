@use('Kavvel\Core\Pairing\PairingOrder')
@php($order = PairingOrder::from($job->school))
<div>
    <h3>What this job goes by</h3>
    <table class="breakdown"><caption class="visually-hidden">Rules of this job</caption><tbody>
        <tr><td>A link is accepted from</td><td>{{ $job->acceptance_db }} dB</td></tr>
        <tr><td>Furniture and people <span class="quiet">(assumed)</span></td>
            <td>{{ $job->clutter_constant_db }} dB + {{ $job->clutter_db_per_metre }} dB/m</td></tr>
        <tr><td>Order of work</td><td class="!whitespace-normal">{{ $order->words() }}</td></tr>
        <tr><td>Names</td><td class="!whitespace-normal">{{ $job->name_pattern }}</td></tr>
    </tbody></table>
    @if ($bench->mayLead())
    <x-later id="rules" :href="route('jobs.forms.rules', $job)" title="Change the rules of this job"/>
    @endif
</div>
