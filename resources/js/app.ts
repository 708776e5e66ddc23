import '../css/base.css'
import { createInertiaApp, type ResolvedComponent } from '@inertiajs/svelte'
import { mount } from 'svelte'
import { keepStill, unwatched } from '@/lib/still'

/** Each page is a part of its own, sent when it is gone to. */
const pages = import.meta.glob<ResolvedComponent>('./*/*Page.svelte')

void createInertiaApp({
    resolve: (name) => {
        const page = pages[`./${name}.svelte`]
        if (!page) throw new Error(`There is no page ${name}.`)
        return page()
    },
    setup({ el, App, props }) {
        const { initialPage } = props
        initialPage.props = unwatched(initialPage.props)
        keepStill()
        if (el) mount(App, { target: el, props })
    },
    // Its bar writes a style element into the page, which the content security policy refuses; Frame shows progress itself.
    progress: false,
})
