@foreach ($changes as $change)
<li><span>{{ Str::ucfirst($title($change->id)) }}</span>
    <span class="end {{ $change->isWorse() ? 'is-worse' : ($change->isBetter() ? 'is-better' : 'quiet') }}">{{ match (true) {
        $change->before === null => "new, {$change->now->value}",
        $change->now === null => 'not in it any more',
        default => "{$change->before->value}, {$now} {$change->now->value}",
    } }}</span></li>
@endforeach
