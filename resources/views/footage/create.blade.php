<x-layout :title="__('footage.add')">
<h1>{{ __('footage.add') }}</h1>
<p class="lead-line">{{ $list->name }}</p>
<x-invalid/>
<form method="post" action="{{ $list->route('store') }}" enctype="multipart/form-data" class="slab footage-form" x-data="upload"
    hx-post="{{ $list->route('store') }}" hx-encoding="multipart/form-data" hx-target="body" hx-push-url="true">
    @csrf
    <x-field name="file" :label="__('footage.file')" :hint="__('footage.explain')">
        <input class="form-control" type="file" id="file" name="file" required aria-describedby="file-hint" x-on:change="look"
            accept="image/jpeg,image/png,image/webp,video/mp4,video/webm" data-most-image="20" data-most-video="64">
    </x-field>
    <p class="invalid-feedback d-block" role="alert" hidden data-too-large data-unanswered-here
        data-unanswered="{{ __('footage.not-sent') }}"></p>
    @include('footage.fields', ['mistake' => '', 'caption' => '', 'shows' => $list->shows()])
    <x-check name="agreed" class="mt-3" :label="__('footage.agreed')" :checked="old('agreed') === '1'"/>
    @error('agreed')<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
    <p class="step-buttons">
        <x-button kind="rust">{{ __('footage.send') }}</x-button>
        <x-button :href="$list->url()">{{ __('words.cancel') }}</x-button>
        <progress max="100" value="0" hidden data-progress aria-label="{{ __('footage.send') }}"></progress>
    </p>
</form>
</x-layout>
