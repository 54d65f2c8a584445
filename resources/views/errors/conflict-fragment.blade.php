<div id="message">
    @include('errors.conflict-body')
    <button type="button" class="btn" data-close="notice">Keep looking</button>
</div>
