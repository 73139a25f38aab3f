<section class="slab-dark mb-3" x-cloak x-show="hasClasses" aria-labelledby="run-title">
<h2 id="run-title">{{ __('mat.class.run') }}</h2>
<p>{{ __('mat.class.run-help') }}</p>
<template x-for="entry in classes" x-bind:key="entry.id">
    <button type="button" class="go" x-bind:data-class="entry.id" x-on:click="openClass"><span x-text="entry.title"></span> <small>{{
        __('mat.class.begin') }}</small></button>
</template>
</section>
