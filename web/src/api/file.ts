/** A file alone as what is sent: the generated client has a text in its place. */
export const fileBody = (file: File) => ({
  body: { file: '' },
  bodySerializer: () => {
    const form = new FormData();
    form.append('file', file);
    return form;
  },
});
