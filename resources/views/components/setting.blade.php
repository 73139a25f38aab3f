{{-- One section of the settings: what it says, what it would change, its default. --}}
@props(['section', 'preview' => false])
<section id="{{ $section }}" aria-labelledby="{{ $section }}-title">
<h2 id="{{ $section }}-title">{{ __('settings.'.$section.'.title') }}</h2>
<p class="lead-line">{{ __('settings.'.$section.'.lead') }}</p>
@if (session('preview-'.$section))<x-setting-change :change="session('preview-'.$section)"/>@endif
<form method="post" action="{{ route('settings.'.$section) }}" class="slab">
    @csrf
    @method('put')
    {{ $slot }}
    <p class="step-buttons">
        <x-button kind="rust">{{ __('words.save') }}</x-button>
        @if ($preview)<x-button name="preview" value="1">{{ __('settings.preview.button') }}</x-button>@endif
    </p>
</form>
<form method="post" action="{{ route('settings.reset', $section) }}" class="mt-2"
    data-confirm="{{ __('settings.reset-question', ['section' => __('settings.'.$section.'.title')]) }}">
    @csrf
    @method('delete')
    <x-button size="sm">{{ __('settings.reset') }}</x-button>
    <span class="form-text">{{ __('settings.'.$section.'.default') }}</span>
</form>
</section>
