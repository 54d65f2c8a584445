@props(['action', 'method' => 'post', 'to' => null])
<form action="{{ $action }}" method="post" {{ $attributes->merge($to === null ? [] : [
    'hx-boost' => 'false', 'hx-post' => $action, 'hx-target' => $to, 'hx-select' => 'unset', 'hx-swap' => 'innerHTML',
        'hx-push-url' => 'false',
]) }}>
    @csrf
    @if (! in_array($method, ['post', 'get'], true)) @method($method) @endif
    <input type="hidden" name="_once" value="{{ (string) Str::ulid() }}">
    {{ $slot }}
</form>
