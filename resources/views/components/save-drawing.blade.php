{{-- Saves a drawing of the page as a file. --}}
@props(['of', 'name'])
<button type="button" class="link-button no-print" data-save-drawing="{{ $of }}" data-name="{{ Str::slug($name) }}">{{
    __('words.save-svg') }}</button>
