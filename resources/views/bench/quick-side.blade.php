<section class="side" id="move" aria-label="The next move" tabindex="-1">
    @if (session('saved'))
    <p class="saved" role="status">{{ session('saved') }}</p>
    @endif
    @include($bench->move->view, ($bench->move->data)())
</section>
