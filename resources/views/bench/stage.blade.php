@php($storeys = $bench->storeys)
@php($middle = $bench->move->middle)
@php($shown = $middle === null ? [] : ($middle->data)())
@php($at = array_search($bench->storey, array_column($storeys, 'key'), true))
<section class="stage" aria-label="Plan">
    <div class="stage-bar">
        @if ($bench->move->lenses !== [])
        <nav class="keys lenses" aria-label="What the middle shows">
            @foreach ($bench->move->lenses as $lens => $lensTitle)
            <a href="{{ $bench->url(['lens' => $loop->first && ! $bench->move->followsWork ? null : $lens, 'slot' => null]) }}"
                @if ($lens === $bench->move->chosenLens) aria-current="true" @endif>{{ $lensTitle }}</a>
            @endforeach
        </nav>
        @endif
        @if ($bench->move->lenses !== [] && ($middle === null || $middle->storeys !== [] || $bench->move->within !== null))
        <span class="row-break"></span>
        @endif
        @if ($bench->move->within !== null)
        <nav class="keys within" aria-label="What of it">
            @foreach ($bench->move->within->titles as $lens => $lensTitle)
            <a href="{{ $bench->url(['lens' => $lens, 'slot' => null]) }}"
                @if ($lens === $bench->move->within->chosen) aria-current="true" @endif>{{ $lensTitle }}</a>
            @endforeach
        </nav>
        @endif
        @if ($middle === null || $middle->storeys !== [])
        <nav class="keys storeys" aria-label="Storeys">
            @foreach ($storeys as $number => $storey)
            <a href="{{ $bench->url(['storey' => $storey['key'], 'slot' => null]) }}"
                @if ($number === $at) aria-current="true" @endif
                @if ($number === $at - 1) data-key="]" @elseif ($number === $at + 1) data-key="[" @endif>{{ $storey['name'] }}</a>
            @endforeach
        </nav>
        <div class="keys zoom" role="group" aria-label="Zoom">
            <button type="button" data-zoom="out" aria-label="Further">−</button>
            <button type="button" data-zoom="in" aria-label="Nearer">+</button>
            <button type="button" data-zoom="all" aria-label="Whole storey">▢</button>
        </div>
        @endif
        @if ($middle === null || $middle->list !== null)
        <div class="keys sort" role="group" aria-label="Plan or list">
            <button type="button" data-show="plan">Plan</button>
            <button type="button" data-show="list">List</button>
        </div>
        @endif
    </div>
    <div class="plan-frame">
        @if ($middle === null)
        @include('plan.drawing', ['paint' => App\Plan\PlanStyle::screen()])
        @else
        @include($middle->view, $shown)
        @endif
    </div>
    @if ($middle === null)
    @include('bench.list')
    @include('bench.legend')
    @elseif ($middle->list !== null)
    @include($middle->list, $shown)
    @endif
</section>
