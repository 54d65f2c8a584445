{{-- The hidden head of a form that changes what is in hand. --}}
<input type="hidden" name="edit" value="{{ $edit }}"><input type="hidden" name="on" value="{{ $on->key }}">
<input type="hidden" name="seen" value="{{ $chosen->mark }}">
@if ($chosen->kind !== '')
<input type="hidden" name="{{ $chosen->kind }}" value="{{ $chosen->key }}">
@endif
