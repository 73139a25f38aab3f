{{-- Narrows a long list of people, by the id of the list, to those whose line has what is typed. --}}
@props(['of', 'count'])
@if ($count > 20)
<div {{ $attributes->class('find-row no-print') }}>
<label class="form-label" for="find-{{ $of }}">{{ __('words.find-name') }}</label>
<input class="form-control form-control-sm" type="search" id="find-{{ $of }}" data-finds="{{ $of }}" data-key="/"
    aria-describedby="found-{{ $of }}" autocomplete="off" spellcheck="false">
<span id="found-{{ $of }}" role="status"></span>
</div>
@endif
