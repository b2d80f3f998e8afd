# What `npm start -- --no-demo` starts, with a database of its own under .data, or with that of
# DATABASE_URL. docs/running.md says what may be set.
FROM node:20-bookworm-slim
RUN apt-get update \
  && apt-get install --yes --no-install-recommends postgresql \
  && rm -rf /var/lib/apt/lists/*
WORKDIR /srv/elm-basket
COPY . .
RUN node scripts/build.mjs
ENV PORT=3000 ELM_BIND=0.0.0.0
VOLUME /srv/elm-basket/.data
EXPOSE 3000
HEALTHCHECK --start-period=60s CMD node -e "fetch('http://127.0.0.1:' + process.env.PORT + '/health/ready').then((r) => process.exit(r.ok ? 0 : 1), () => process.exit(1))"
CMD ["npm", "start", "--", "--no-demo"]
